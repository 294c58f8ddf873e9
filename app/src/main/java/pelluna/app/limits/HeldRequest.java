package pelluna.app.limits;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/** A request whose length nobody said: it is read no further than the limit. */
class HeldRequest extends HttpServletRequestWrapper {
    private final long most;

    HeldRequest(HttpServletRequest request, long most) {
        super(request);
        this.most = most;
    }

    /** Thrown where the limit is reached. */
    static final class TooLongException extends IOException {
        TooLongException() {
            super("longer than the limit");
        }
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return new Held(super.getInputStream());
    }

    @Override
    public BufferedReader getReader() throws IOException {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }

    private final class Held extends ServletInputStream {
        private final ServletInputStream in;
        private long read;

        Held(ServletInputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            int b = in.read();
            count(b < 0 ? 0 : 1);
            return b;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int n = in.read(bytes, from, length);
            count(Math.max(0, n));
            return n;
        }

        private void count(int n) throws IOException {
            read += n;
            if (read > most) {
                throw new TooLongException();
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
