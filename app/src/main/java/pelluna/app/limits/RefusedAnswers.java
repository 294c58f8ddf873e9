package pelluna.app.limits;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;

/** How a request is answered that no page has seen yet. */
public interface RefusedAnswers {
    /** In words alone, with a status, as a page or as JSON, whichever was asked for. */
    void plain(HttpServletRequest request, HttpServletResponse response, int status, Refusal why)
            throws ServletException, IOException;

    /**
     * As the page that it was sent from, with what was typed in it and the reason beside the field; in words if that
     * is not known.
     */
    void refused(HttpServletRequest request, HttpServletResponse response, Refused why)
            throws ServletException, IOException;
}
