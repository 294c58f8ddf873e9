package pelluna.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;

/** After a wrong password: the same for an account that is not there. The address is kept out of the address bar. */
class BackToTheDoor implements AuthenticationFailureHandler {
    @Override
    public void onAuthenticationFailure(
            HttpServletRequest request, HttpServletResponse response, AuthenticationException why) throws IOException {
        String said = why instanceof TooManyGuessesException ? "wait" : "wrong";
        response.sendRedirect("/sign-in?" + said + "&to="
                + URLEncoder.encode(Entrance.safe(request.getParameter("to")), StandardCharsets.UTF_8));
    }
}
