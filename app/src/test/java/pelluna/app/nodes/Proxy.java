package pelluna.app.nodes;

import java.io.IOException;
import java.net.ConnectException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** An nginx of its own before the nodes: it asks another one where one does not answer, for a write has its key. */
final class Proxy implements AutoCloseable {
    private static final Path NGINX = Path.of("/usr/sbin/nginx");

    private static final int MOST_TRIES = 300;

    private final Path folder;
    private final int port;
    private final Process process;

    Proxy(Path folder, int port, List<Integer> nodes) throws IOException {
        this.folder = folder;
        this.port = port;
        StringBuilder servers = new StringBuilder();
        nodes.forEach(n -> servers.append("    server 127.0.0.1:").append(n).append(" max_fails=1 fail_timeout=2s;\n"));
        Path settings = folder.resolve("nginx.conf");
        Files.writeString(settings, """
                daemon off;
                master_process off;
                pid %1$s/nginx.pid;
                error_log %1$s/error.log;
                events {}
                http {
                  access_log off;
                  client_body_temp_path %1$s/body;
                  proxy_temp_path %1$s/proxy;
                  fastcgi_temp_path %1$s/fastcgi;
                  uwsgi_temp_path %1$s/uwsgi;
                  scgi_temp_path %1$s/scgi;
                  upstream pelluna {
                %3$s  }
                  server {
                    listen 127.0.0.1:%2$d;
                    location / {
                      proxy_pass http://pelluna;
                      proxy_set_header Host $http_host;
                      proxy_set_header X-Forwarded-For $remote_addr;
                      proxy_set_header X-Forwarded-Proto $scheme;
                      proxy_set_header X-Forwarded-Port $server_port;
                      proxy_connect_timeout 2s;
                      proxy_next_upstream error timeout http_503 non_idempotent;
                    }
                  }
                }
                """.formatted(folder, port, servers));
        process = new ProcessBuilder(NGINX.toString(), "-p", folder.toString(), "-c", settings.toString())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("nginx.txt").toFile())
                .start();
    }

    /** Waits until it takes visitors. */
    void ready() throws IOException, InterruptedException {
        for (int tries = 0; tries < MOST_TRIES; tries++) {
            try (Socket visitor = new Socket(InetAddress.getLoopbackAddress(), port)) {
                return;
            } catch (ConnectException notYet) {
                Thread.sleep(200);
            }
        }
        throw new IllegalStateException("nginx: " + Files.readString(folder.resolve("nginx.txt")));
    }

    /** Ports that nobody has now. */
    static List<Integer> free(int how) throws IOException {
        List<ServerSocket> held = new ArrayList<>();
        try {
            for (int i = 0; i < how; i++) {
                held.add(new ServerSocket(0));
            }
            return held.stream().map(ServerSocket::getLocalPort).toList();
        } finally {
            for (ServerSocket s : held) {
                s.close();
            }
        }
    }

    @Override
    public void close() {
        process.destroy();
    }
}
