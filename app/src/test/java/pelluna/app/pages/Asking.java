package pelluna.app.pages;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;

/**
 * Asks for pages in a program of its own, as a browser does, so that neither its work nor its memory is the server's.
 * It is given the server's address, a session's cookie and its token, how often it warms up, how often it measures, and
 * the plainest page. A line on its standard input is a path, or a path and a form for it, in which # is another number
 * each time, a tenth more than before. It answers with milliseconds until the last byte: of the first answer, then, in
 * turn, of the plainest page and of what was asked for, so that a slow minute is one for both.
 */
final class Asking {
    private static final byte[] BUFFER = new byte[1 << 16];
    /** Tenths of a centimetre, up to 60 cm of sand. */
    private static final int DEPTHS = 590;

    private final String server;
    private final String cookie;
    private final String token;
    private int number;

    private Asking(String server, String cookie, String token) {
        this.server = server;
        this.cookie = cookie;
        this.token = token;
    }

    public static void main(String[] args) throws IOException {
        BufferedReader lines = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        Asking asking = new Asking(args[0], args[1], args[2]);
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            double[] ms = asking.measured(line, Integer.parseInt(args[3]), Integer.parseInt(args[4]), args[5]);
            System.out.println(Arrays.stream(ms).mapToObj(Double::toString).collect(Collectors.joining(" ")));
        }
    }

    private double[] measured(String line, int warm, int rounds, String plainest) throws IOException {
        DoubleStream.Builder ms = DoubleStream.builder();
        ms.add(ask(line));
        for (int i = 0; i < warm; i++) {
            ask(line);
        }
        for (int i = 0; i < rounds; i++) {
            ms.add(ask(plainest));
            ms.add(ask(line));
        }
        return ms.build().toArray();
    }

    private double ask(String line) throws IOException {
        String[] parts = line.split(" ", 2);
        long began = System.nanoTime();
        HttpURLConnection page =
                (HttpURLConnection) URI.create(server + parts[0]).toURL().openConnection();
        page.setRequestProperty("Cookie", cookie);
        page.setRequestProperty("Accept-Encoding", "gzip");
        if (parts.length == 2) {
            page.setRequestProperty("X-CSRF-TOKEN", token);
            page.setDoOutput(true);
            String form = parts[1].replace("#", Double.toString(1 + number++ % DEPTHS / 10.0));
            page.getOutputStream().write(form.getBytes(StandardCharsets.UTF_8));
        }
        try (InputStream answer = page.getInputStream()) {
            while (answer.read(BUFFER) >= 0) {
                // as it comes: a browser draws meanwhile
            }
        }
        if (page.getResponseCode() / 100 != 2) {
            throw new IOException(line + ": " + page.getResponseCode());
        }
        return (System.nanoTime() - began) / 1e6;
    }
}
