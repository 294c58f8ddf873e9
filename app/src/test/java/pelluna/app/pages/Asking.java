package pelluna.app.pages;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;

/**
 * Asks for pages in a program of its own, as a browser does, so that neither its work nor its memory is the server's.
 * It is given the server's address, a session's cookie, how often it warms up and how often it measures; for each path
 * on its standard input it writes the milliseconds of the first answer and of those measured, until the last byte.
 */
final class Asking {
    private static final byte[] BUFFER = new byte[1 << 16];

    private Asking() {}

    public static void main(String[] args) throws IOException {
        BufferedReader paths = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        int warm = Integer.parseInt(args[2]);
        int rounds = Integer.parseInt(args[3]);
        for (String path = paths.readLine(); path != null; path = paths.readLine()) {
            double first = ask(args[0] + path, args[1]);
            for (int i = 0; i < warm; i++) {
                ask(args[0] + path, args[1]);
            }
            double[] ms = new double[rounds];
            for (int i = 0; i < rounds; i++) {
                ms[i] = ask(args[0] + path, args[1]);
            }
            System.out.println(DoubleStream.concat(DoubleStream.of(first), DoubleStream.of(ms))
                    .mapToObj(Double::toString)
                    .collect(Collectors.joining(" ")));
        }
    }

    private static double ask(String url, String cookie) throws IOException {
        long began = System.nanoTime();
        HttpURLConnection page = (HttpURLConnection) URI.create(url).toURL().openConnection();
        page.setRequestProperty("Cookie", cookie);
        page.setRequestProperty("Accept-Encoding", "gzip");
        try (InputStream answer = page.getInputStream()) {
            while (answer.read(BUFFER) >= 0) {
                // as it comes: a browser draws meanwhile
            }
        }
        if (page.getResponseCode() != 200) {
            throw new IOException(url + ": " + page.getResponseCode());
        }
        return (System.nanoTime() - began) / 1e6;
    }
}
