package pelluna.app.rough;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** A wire between Pelluna and its database that can be cut, or carry nothing for a while. */
final class Wire implements AutoCloseable {
    private final ServerSocket here = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
    private final int there;
    private final Set<Socket> ends = ConcurrentHashMap.newKeySet();
    private volatile boolean cut;
    private volatile boolean held;

    Wire(int there) throws IOException {
        this.there = there;
        run(this::join);
    }

    int port() {
        return here.getLocalPort();
    }

    void cut() {
        cut = true;
        ends.forEach(Wire::shut);
        ends.clear();
    }

    void hold() {
        held = true;
    }

    void mend() {
        cut = false;
        if (held) {
            held = false;
            ends.forEach(Wire::shut);
            ends.clear();
        }
    }

    private void join() {
        while (!here.isClosed()) {
            try {
                Socket in = here.accept();
                if (cut) {
                    shut(in);
                    continue;
                }
                Socket out = new Socket(InetAddress.getLoopbackAddress(), there);
                ends.add(in);
                ends.add(out);
                run(() -> carry(in, out));
                run(() -> carry(out, in));
            } catch (IOException e) {
                // the next one tries again
            }
        }
    }

    private void carry(Socket from, Socket to) {
        try {
            InputStream in = from.getInputStream();
            OutputStream out = to.getOutputStream();
            byte[] bytes = new byte[8192];
            for (int n = in.read(bytes); n >= 0; n = in.read(bytes)) {
                while (held && !from.isClosed()) {
                    Thread.sleep(20);
                }
                out.write(bytes, 0, n);
            }
        } catch (IOException e) {
            // cut
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        shut(from);
        shut(to);
    }

    private static void shut(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            // shut all the same
        }
    }

    private static void run(Runnable task) {
        Thread t = new Thread(task, "wire");
        t.setDaemon(true);
        t.start();
    }

    @Override
    public void close() throws IOException {
        here.close();
        cut();
    }
}
