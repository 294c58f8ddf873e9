package pelluna.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;

/** After the password was right: the page that was asked for before. */
class ToWhereItWas implements AuthenticationSuccessHandler {
    @Override
    public void onAuthenticationSuccess(HttpServletRequest request, HttpServletResponse response, Authentication who)
            throws IOException {
        response.sendRedirect(Entrance.safe(request.getParameter("to")));
    }
}
