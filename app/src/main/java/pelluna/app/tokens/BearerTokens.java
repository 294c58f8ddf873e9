package pelluna.app.tokens;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.authentication.AuthenticationEntryPointFailureHandler;
import org.springframework.security.web.authentication.AuthenticationFilter;
import org.springframework.security.web.authentication.preauth.PreAuthenticatedAuthenticationToken;
import org.springframework.stereotype.Component;
import pelluna.app.account.SignedIn;

/** Programs sign in with each request, by {@code Authorization: Bearer …} (RFC 6750). */
@Component
public class BearerTokens {
    /** As RFC 6750 has a token. */
    private static final Pattern HEADER =
            Pattern.compile("Bearer +([A-Za-z0-9._~+/-]{1,200}=*) *", Pattern.CASE_INSENSITIVE);

    private final Tokens tokens;

    BearerTokens(Tokens tokens) {
        this.tokens = tokens;
    }

    /** @param refused what somebody with a wrong token is told */
    public AuthenticationFilter filter(AuthenticationEntryPoint refused) {
        AuthenticationManager known = this::known;
        AuthenticationFilter filter = new AuthenticationFilter(known, request -> {
            String header = request.getHeader(HttpHeaders.AUTHORIZATION);
            Matcher bearer = HEADER.matcher(header == null ? "" : header);
            return bearer.matches() ? new PreAuthenticatedAuthenticationToken("", bearer.group(1)) : null;
        });
        filter.setSuccessHandler((request, response, who) -> {});
        filter.setFailureHandler(new AuthenticationEntryPointFailureHandler(refused));
        filter.setSecurityContextHolderStrategy(SecurityContextHolder.getContextHolderStrategy());
        return filter;
    }

    private Authentication known(Authentication asked) {
        Tokens.Holder holder = tokens.holder(String.valueOf(asked.getCredentials()))
                .orElseThrow(() -> new BadCredentialsException("no such token"));
        var authorities =
                AuthorityUtils.createAuthorityList(holder.scope().authorities().toArray(String[]::new));
        authorities.addAll(AuthorityUtils.createAuthorityList(SignedIn.KEEPER));
        return UsernamePasswordAuthenticationToken.authenticated(Long.toString(holder.keeper()), null, authorities);
    }
}
