package pelluna.app.signin;

import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.webauthn.authentication.PublicKeyCredentialRequestOptionsFilter;
import org.springframework.security.web.webauthn.authentication.WebAuthnAuthenticationFilter;
import org.springframework.security.web.webauthn.authentication.WebAuthnAuthenticationProvider;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.security.web.webauthn.registration.PublicKeyCredentialCreationOptionsFilter;
import org.springframework.security.web.webauthn.registration.WebAuthnRegistrationFilter;
import org.springframework.stereotype.Component;

/**
 * Spring Security's filters for passkeys, put in by hand: so a sign-in by passkey gets a session of a new number like
 * any other. Passkeys are removed on the page of the account.
 */
@Component
class PasskeyFilters {
    private final PasskeysOfThisName here;
    private final UserCredentialRepository passkeys;
    private final UserDetailsService details;
    private final SessionAuthenticationStrategy strategy;
    private final SecurityContextRepository contexts;

    PasskeyFilters(
            PasskeysOfThisName here,
            UserCredentialRepository passkeys,
            UserDetailsService details,
            SessionAuthenticationStrategy strategy,
            SecurityContextRepository contexts) {
        this.here = here;
        this.passkeys = passkeys;
        this.details = details;
        this.strategy = strategy;
        this.contexts = contexts;
    }

    void into(HttpSecurity http) {
        WebAuthnAuthenticationFilter in = new WebAuthnAuthenticationFilter();
        in.setAuthenticationManager(new ProviderManager(new WebAuthnAuthenticationProvider(here, details)));
        in.setSessionAuthenticationStrategy(strategy);
        in.setSecurityContextRepository(contexts);
        WebAuthnRegistrationFilter registers = new WebAuthnRegistrationFilter(passkeys, here);
        registers.setRemoveCredentialMatcher(request -> false);
        http.addFilterBefore(in, UsernamePasswordAuthenticationFilter.class)
                .addFilterBefore(
                        new PublicKeyCredentialRequestOptionsFilter(here), UsernamePasswordAuthenticationFilter.class)
                .addFilterAfter(registers, AuthorizationFilter.class)
                .addFilterAfter(new PublicKeyCredentialCreationOptionsFilter(here), AuthorizationFilter.class);
    }
}
