package pelluna.app.pushservice;

import jakarta.servlet.http.HttpServlet;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import tools.jackson.databind.json.JsonMapper;

/**
 * The simulated push service on the wire. A server writes as to any other (RFC 8030, RFC 8291, RFC 8292); a device,
 * which a browser would have on a line of its own, asks from its page what has come.
 */
class PushServlet extends HttpServlet {
    private static final String MESSAGES = "messages";
    private static final Pattern BEARER = Pattern.compile("Bearer [A-Za-z0-9_-]{1,100}");
    private static final int MOST_BYTES = 4096;
    private static final int TOO_MANY_BYTES = 413;
    private static final Pattern SECONDS = Pattern.compile("\\d{1,9}");
    private static final Pattern TOPIC = Pattern.compile("[A-Za-z0-9_-]{1,32}");

    private final transient StandIn service;
    private final transient Clock clock;

    /** @param clock of the world: senders sign by the time of their own machine */
    PushServlet(StandIn service, Clock clock) {
        this.service = service;
        this.clock = clock;
    }

    @Override
    protected void doPost(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String address = last(request);
        String ttl = request.getHeader("TTL");
        String topic = request.getHeader("Topic");
        Optional<String> signed = Vapid.signedBy(request.getHeader("Authorization"), origin(request), clock.instant());
        if (signed.isEmpty()) {
            response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
            return;
        }
        Optional<Boolean> may = service.mayWrite(address, signed.get());
        byte[] body = request.getInputStream().readNBytes(MOST_BYTES + 1);
        if (may.isEmpty()) {
            response.setStatus(HttpServletResponse.SC_GONE);
        } else if (!may.get()) {
            response.setStatus(HttpServletResponse.SC_FORBIDDEN);
        } else if (ttl == null
                || !SECONDS.matcher(ttl).matches()
                || topic != null && !TOPIC.matcher(topic).matches()
                || !"aes128gcm".equals(request.getHeader("Content-Encoding"))) {
            response.setStatus(HttpServletResponse.SC_BAD_REQUEST);
        } else if (body.length > MOST_BYTES) {
            response.setStatus(TOO_MANY_BYTES);
        } else {
            long id = service.keep(address, body, Long.parseLong(ttl), topic);
            response.setStatus(HttpServletResponse.SC_CREATED);
            response.setHeader("Location", StandIn.PATH + MESSAGES + "/" + id);
            response.setHeader("TTL", ttl);
        }
    }

    /** What a device is given. @param body as RFC 8188 has it, in base64url */
    private record Message(long id, String body) {}

    /** What waits for the device whose secret is shown, after the last that it has. */
    @Override
    protected void doGet(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String shown = request.getHeader("Authorization");
        String after = request.getParameter("after");
        if (!MESSAGES.equals(last(request))
                || shown == null
                || !BEARER.matcher(shown).matches()) {
            response.setStatus(HttpServletResponse.SC_NOT_FOUND);
            return;
        }
        long since = after != null && SECONDS.matcher(after).matches() ? Long.parseLong(after) : 0;
        List<Message> waiting = service.waiting(shown.substring(shown.indexOf(' ') + 1), since).stream()
                .map(w -> new Message(
                        w.id(), Base64.getUrlEncoder().withoutPadding().encodeToString(w.body())))
                .toList();
        response.setContentType("application/json");
        response.getOutputStream().write(JsonMapper.shared().writeValueAsBytes(waiting));
    }

    private static String last(HttpServletRequest request) {
        String path = request.getRequestURI();
        return path.startsWith(StandIn.PATH) ? path.substring(StandIn.PATH.length()) : "";
    }

    private static String origin(HttpServletRequest request) {
        return request.getScheme() + "://" + request.getHeader("Host");
    }
}
