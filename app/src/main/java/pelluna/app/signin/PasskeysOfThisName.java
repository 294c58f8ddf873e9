package pelluna.app.signin;

import java.net.URI;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialCreationOptionsRequest;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialRequestOptionsRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.security.web.webauthn.management.WebAuthnRelyingPartyOperations;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/**
 * Passkeys belong to the name by which a server is reached (WebAuthn level 3, 5.1.2): the one of this request, which
 * is one of ours by now. A server that is reached by its number alone has none.
 */
@Component
class PasskeysOfThisName implements WebAuthnRelyingPartyOperations {
    private static final Pattern NUMBER = Pattern.compile("\\[.*]|[0-9.]+");

    private final KeepersOfPasskeys keepers;
    private final UserCredentialRepository passkeys;

    PasskeysOfThisName(KeepersOfPasskeys keepers, UserCredentialRepository passkeys) {
        this.keepers = keepers;
        this.passkeys = passkeys;
    }

    /** Whether a server of this name can have passkeys. */
    static boolean canBe(String host) {
        return !NUMBER.matcher(host).matches();
    }

    private WebAuthnRelyingPartyOperations here() {
        URI here = ServletUriComponentsBuilder.fromCurrentContextPath().build().toUri();
        PublicKeyCredentialRpEntity name = PublicKeyCredentialRpEntity.builder()
                .id(here.getHost())
                .name("Pelluna")
                .build();
        Webauthn4JRelyingPartyOperations operations =
                new Webauthn4JRelyingPartyOperations(keepers, passkeys, name, Set.of(here.toString()));
        operations.setCustomizeCreationOptions(
                options -> options.authenticatorSelection(AuthenticatorSelectionCriteria.builder()
                        .residentKey(ResidentKeyRequirement.REQUIRED)
                        .userVerification(UserVerificationRequirement.REQUIRED)
                        .build()));
        operations.setCustomizeRequestOptions(
                options -> options.userVerification(UserVerificationRequirement.REQUIRED));
        return operations;
    }

    @Override
    public PublicKeyCredentialCreationOptions createPublicKeyCredentialCreationOptions(
            PublicKeyCredentialCreationOptionsRequest request) {
        PublicKeyCredentialCreationOptions made = here().createPublicKeyCredentialCreationOptions(request);
        return PublicKeyCredentialCreationOptions.builder()
                .rp(made.getRp())
                .user(keepers.shown(made.getUser().getId()))
                .challenge(made.getChallenge())
                .pubKeyCredParams(made.getPubKeyCredParams())
                .timeout(made.getTimeout())
                .excludeCredentials(made.getExcludeCredentials())
                .authenticatorSelection(made.getAuthenticatorSelection())
                .attestation(made.getAttestation())
                .extensions(made.getExtensions())
                .build();
    }

    @Override
    public CredentialRecord registerCredential(RelyingPartyRegistrationRequest request) {
        return here().registerCredential(request);
    }

    @Override
    public PublicKeyCredentialRequestOptions createCredentialRequestOptions(
            PublicKeyCredentialRequestOptionsRequest request) {
        return here().createCredentialRequestOptions(request);
    }

    @Override
    public PublicKeyCredentialUserEntity authenticate(RelyingPartyAuthenticationRequest request) {
        return here().authenticate(request);
    }
}
