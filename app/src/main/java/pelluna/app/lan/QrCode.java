package pelluna.app.lan;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** A QR code (ISO/IEC 18004) for a page and for a console. */
final class QrCode {
    /** Light modules around it, as the standard asks. */
    private static final int QUIET = 4;

    private final BitMatrix modules;

    QrCode(String text) {
        try {
            modules = new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.MARGIN,
                                    QUIET,
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M));
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
    }

    /** One path; a module is one unit. @param label in words, for who cannot see it */
    String svg(String label) {
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < modules.getHeight(); y++) {
            for (int x = 0; x < modules.getWidth(); x++) {
                if (modules.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        int wide = modules.getWidth();
        return "<svg class=\"qr\" role=\"img\" viewBox=\"0 0 " + wide + " " + wide + "\" aria-label=\""
                + label.replace("&", "&amp;").replace("\"", "&quot;")
                + "\"><path class=\"qr-light\" d=\"M0 0h" + wide + "v" + wide + "h-" + wide
                + "z\"/><path class=\"qr-dark\" d=\"" + path + "\"/></svg>";
    }

    /** Two rows of modules in a line of letters, light on dark as a console is. */
    String console() {
        StringBuilder lines = new StringBuilder();
        for (int y = 0; y < modules.getHeight(); y += 2) {
            for (int x = 0; x < modules.getWidth(); x++) {
                boolean above = !modules.get(x, y);
                boolean below = y + 1 >= modules.getHeight() || !modules.get(x, y + 1);
                lines.append(above ? below ? '█' : '▀' : below ? '▄' : ' ');
            }
            lines.append(System.lineSeparator());
        }
        return lines.toString();
    }
}
