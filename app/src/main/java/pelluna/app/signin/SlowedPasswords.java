package pelluna.app.signin;

import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.WebAuthenticationDetails;

/** Passwords, by Spring Security's own check; whoever guesses has to wait. */
class SlowedPasswords implements AuthenticationProvider {
    private final DaoAuthenticationProvider passwords;
    private final Guesses guesses;

    SlowedPasswords(DaoAuthenticationProvider passwords, Guesses guesses) {
        this.passwords = passwords;
        this.guesses = guesses;
    }

    /**
     * @throws TooManyGuessesException before the password is looked at
     * @throws BadCredentialsException the same for an unknown account and for a wrong password
     */
    @Override
    public Authentication authenticate(Authentication typed) {
        String address = typed.getDetails() instanceof WebAuthenticationDetails web ? web.getRemoteAddress() : "";
        if (guesses.tooMany(typed.getName(), address)) {
            throw new TooManyGuessesException();
        }
        try {
            Authentication in = passwords.authenticate(typed);
            guesses.right(typed.getName(), address);
            return in;
        } catch (BadCredentialsException e) {
            guesses.wrong(typed.getName(), address);
            throw e;
        }
    }

    @Override
    public boolean supports(Class<?> type) {
        return UsernamePasswordAuthenticationToken.class.isAssignableFrom(type);
    }
}
