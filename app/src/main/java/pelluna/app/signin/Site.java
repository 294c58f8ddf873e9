package pelluna.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** How this server is reached, by the name that whoever asks has used: one of ours by now. */
public final class Site {
    private Site() {}

    /** As {@code https://reef.local:8443}, without a slash at its end. */
    public static String of(HttpServletRequest request) {
        return ServletUriComponentsBuilder.fromContextPath(request).build().toUriString();
    }
}
