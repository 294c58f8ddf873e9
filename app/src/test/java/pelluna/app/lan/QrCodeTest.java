package pelluna.app.lan;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What is drawn is read again, from the page and from the console. */
class QrCodeTest {
    private static final String ADDRESS = "https://192.168.178.123:8443/phone";
    private static final int LIGHT = 0xffffff;
    private static final int SCALE = 8;

    /** @param dark rows of modules */
    private static String read(boolean[][] dark) throws ReaderException {
        int wide = dark[0].length * SCALE;
        int high = dark.length * SCALE;
        int[] pixels = new int[wide * high];
        for (int y = 0; y < high; y++) {
            for (int x = 0; x < wide; x++) {
                pixels[y * wide + x] = dark[y / SCALE][x / SCALE] ? 0 : LIGHT;
            }
        }
        return new QRCodeReader()
                .decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(wide, high, pixels))))
                .getText();
    }

    @Test
    void onAPage() throws ReaderException {
        String svg = new QrCode(ADDRESS).svg("Code \"of\" a & b");
        Matcher box = Pattern.compile("viewBox=\"0 0 (\\d+) ").matcher(svg);
        assertThat(box.find()).isTrue();
        boolean[][] dark = new boolean[Integer.parseInt(box.group(1))][Integer.parseInt(box.group(1))];
        Matcher module = Pattern.compile("M(\\d+) (\\d+)h1v1h-1z").matcher(svg);
        while (module.find()) {
            dark[Integer.parseInt(module.group(2))][Integer.parseInt(module.group(1))] = true;
        }
        assertThat(read(dark)).isEqualTo(ADDRESS);
        assertThat(svg).contains("aria-label=\"Code &quot;of&quot; a &amp; b\"");
    }

    @Test
    void onAConsole() throws ReaderException {
        List<String> lines = new QrCode(ADDRESS).console().lines().toList();
        boolean[][] dark = new boolean[lines.size() * 2][lines.get(0).length()];
        for (int y = 0; y < lines.size(); y++) {
            for (int x = 0; x < lines.get(y).length(); x++) {
                char c = lines.get(y).charAt(x);
                dark[2 * y][x] = c == ' ' || c == '▄';
                dark[2 * y + 1][x] = c == ' ' || c == '▀';
            }
        }
        assertThat(Arrays.stream(dark).mapToInt(row -> row.length).distinct()).hasSize(1);
        assertThat(read(dark)).isEqualTo(ADDRESS);
    }
}
