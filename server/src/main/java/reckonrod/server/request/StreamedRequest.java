package reckonrod.server.request;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/** A request whose body comes from another stream. */
final class StreamedRequest extends HttpServletRequestWrapper {
    private final ServletInputStream body;

    StreamedRequest(HttpServletRequest request, InputStream body) {
        super(request);
        this.body = new Body(body);
    }

    @Override
    public ServletInputStream getInputStream() {
        return body;
    }

    @Override
    public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(body, StandardCharsets.UTF_8));
    }

    private static final class Body extends ServletInputStream {
        private final InputStream in;
        private boolean ended;

        Body(InputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            int next = in.read();
            ended |= next < 0;
            return next;
        }

        @Override
        public int read(byte[] into, int offset, int length) throws IOException {
            int count = in.read(into, offset, length);
            ended |= count < 0;
            return count;
        }

        @Override
        public boolean isFinished() {
            return ended;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new UnsupportedOperationException("The body is read at once");
        }
    }
}
