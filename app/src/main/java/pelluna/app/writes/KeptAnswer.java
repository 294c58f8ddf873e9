package pelluna.app.writes;

import java.net.URI;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ResponseEntity;

/** An answer to a write as text, so that whoever sends the same again gets the same. */
final class KeptAnswer {
    private static final String REDIRECT = "redirect:";

    private KeptAnswer() {}

    /** @return empty if the answer is a page: it is made anew, for writing the same figures again changes nothing */
    static String text(Object answer, String location) {
        if (answer instanceof ResponseEntity<?> entity) {
            return entity.getStatusCode().value() + (location == null ? "" : " " + location);
        }
        return location == null ? "" : REDIRECT + location;
    }

    static Object read(String text) {
        if (text.startsWith(REDIRECT)) {
            return text;
        }
        String[] parts = text.split(" ", 2);
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(HttpStatusCode.valueOf(Integer.parseInt(parts[0])));
        return parts.length == 1
                ? answer.build()
                : answer.location(URI.create(parts[1])).build();
    }
}
