package pelluna.app.rows;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.Serializable;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Base64;
import java.util.Optional;
import java.util.stream.Stream;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.security.crypto.encrypt.AesBytesEncryptor;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import pelluna.app.writes.ByProgram;

/**
 * A secret between the moment it is made and the page that shows it: for two minutes, in the session, sealed with a key
 * that only the browser has. Any node can show it; the database alone can not.
 */
@Component
public class ShownOnce {
    private static final Duration LONG_ENOUGH = Duration.ofMinutes(2);
    private static final String COOKIE = "pelluna-once";
    private static final String TOLD = ShownOnce.class.getName();
    private static final int BYTES = 16;
    private static final Base64.Encoder TEXT = Base64.getUrlEncoder().withoutPadding();

    private final Clock clock;

    ShownOnce(Clock clock) {
        this.clock = clock;
    }

    /** What the session has of it. */
    private record Sealed(byte[] secret, Instant until) implements Serializable {}

    /** What was made for a program, which has no session and is told at once; null if nothing was. */
    public static String told(HttpServletRequest request) {
        return (String) request.getAttribute(TOLD);
    }

    /** @param keeper who may see it; @param what where it is shown */
    public void keep(long keeper, long tank, String what, String secret) {
        ServletRequestAttributes now = now();
        if (ByProgram.is(now.getRequest())) {
            now.getRequest().setAttribute(TOLD, secret);
            return;
        }
        byte[] key = key(now.getRequest()).orElseGet(() -> handOut(now.getRequest(), now.getResponse()));
        now.getRequest()
                .getSession()
                .setAttribute(
                        place(keeper, tank, what),
                        new Sealed(
                                sealing(key).encrypt(secret.getBytes(StandardCharsets.UTF_8)),
                                clock.instant().plus(LONG_ENOUGH)));
    }

    public Optional<String> of(long keeper, long tank, String what) {
        HttpServletRequest request = now().getRequest();
        HttpSession session = request.getSession(false);
        Object kept = session == null ? null : session.getAttribute(place(keeper, tank, what));
        return kept instanceof Sealed sealed && sealed.until().isAfter(clock.instant())
                ? key(request).flatMap(key -> opened(sealed, key))
                : Optional.empty();
    }

    /** Once it opens nothing any more. */
    public void forget(long keeper, long tank, String what) {
        HttpSession session = now().getRequest().getSession(false);
        if (session != null) {
            session.removeAttribute(place(keeper, tank, what));
        }
    }

    private static String place(long keeper, long tank, String what) {
        return ShownOnce.class.getName() + ":" + keeper + ":" + tank + ":" + what;
    }

    private static AesBytesEncryptor sealing(byte[] key) {
        return new AesBytesEncryptor(
                new SecretKeySpec(key, "AES"),
                KeyGenerators.secureRandom(BYTES),
                AesBytesEncryptor.CipherAlgorithm.GCM);
    }

    /** @return empty with a key that is not its own */
    private static Optional<String> opened(Sealed sealed, byte[] key) {
        try {
            return Optional.of(new String(sealing(key).decrypt(sealed.secret()), StandardCharsets.UTF_8));
        } catch (IllegalStateException | IllegalArgumentException notItsOwn) {
            return Optional.empty();
        }
    }

    private static Optional<byte[]> key(HttpServletRequest request) {
        return Stream.ofNullable(request.getCookies())
                .flatMap(Arrays::stream)
                .filter(c -> c.getName().equals(COOKIE))
                .map(c -> bytes(c.getValue()))
                .filter(key -> key.length == BYTES)
                .findFirst();
    }

    private static byte[] bytes(String text) {
        try {
            return Base64.getUrlDecoder().decode(text);
        } catch (IllegalArgumentException odd) {
            return new byte[0];
        }
    }

    private static byte[] handOut(HttpServletRequest request, HttpServletResponse response) {
        byte[] key = KeyGenerators.secureRandom(BYTES).generateKey();
        Cookie cookie = new Cookie(COOKIE, TEXT.encodeToString(key));
        cookie.setHttpOnly(true);
        cookie.setSecure(request.isSecure());
        cookie.setPath("/");
        cookie.setAttribute("SameSite", "Lax");
        response.addCookie(cookie);
        return key;
    }

    private static ServletRequestAttributes now() {
        return (ServletRequestAttributes) RequestContextHolder.currentRequestAttributes();
    }
}
