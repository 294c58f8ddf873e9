package pelluna.app.account;

import java.util.OptionalLong;
import java.util.function.Supplier;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;

/** Who has signed in: for Spring Security, a keeper is called by the number of the account. */
public final class SignedIn {
    public static final String KEEPER = "ROLE_KEEPER";
    /** Who runs the server. */
    public static final String OWNER = "ROLE_OWNER";

    private SignedIn() {}

    /** The number of the account; empty for nobody. */
    public static OptionalLong id() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who == null || !who.isAuthenticated() || who instanceof AnonymousAuthenticationToken
                ? OptionalLong.empty()
                : OptionalLong.of(Long.parseLong(who.getName()));
    }

    /** Does something in the name of a keeper, outside of any request. */
    public static <T> T as(long keeper, Supplier<T> what) {
        SecurityContext before = SecurityContextHolder.getContext();
        SecurityContext theirs = SecurityContextHolder.createEmptyContext();
        theirs.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                Long.toString(keeper), null, AuthorityUtils.createAuthorityList(KEEPER)));
        try {
            SecurityContextHolder.setContext(theirs);
            return what.get();
        } finally {
            SecurityContextHolder.setContext(before);
        }
    }
}
