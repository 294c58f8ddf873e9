package pelluna.app.signin;

import java.util.Optional;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.stereotype.Component;
import pelluna.app.account.KeeperAccount;
import pelluna.app.account.Keepers;

/** Keepers as passkeys know them: by a handle that says nothing. Made and deleted with their accounts, not here. */
@Component
class KeepersOfPasskeys implements PublicKeyCredentialUserEntityRepository {
    private final Keepers keepers;

    KeepersOfPasskeys(Keepers keepers) {
        this.keepers = keepers;
    }

    @Override
    public PublicKeyCredentialUserEntity findById(Bytes handle) {
        return keepers.byHandle(handle.getBytes())
                .map(KeepersOfPasskeys::entity)
                .orElse(null);
    }

    @Override
    public PublicKeyCredentialUserEntity findByUsername(String number) {
        return Optional.of(number)
                .flatMap(n -> keepers.of(Long.parseLong(n)))
                .map(KeepersOfPasskeys::entity)
                .orElse(null);
    }

    /** What the device shows when it asks which passkey to use. */
    PublicKeyCredentialUserEntity shown(Bytes handle) {
        KeeperAccount keeper = keepers.byHandle(handle.getBytes()).orElseThrow();
        return ImmutablePublicKeyCredentialUserEntity.builder()
                .id(handle)
                .name(keeper.email())
                .displayName(keeper.name())
                .build();
    }

    private static PublicKeyCredentialUserEntity entity(KeeperAccount keeper) {
        return ImmutablePublicKeyCredentialUserEntity.builder()
                .id(new Bytes(keeper.handle()))
                .name(keeper.id().toString())
                .displayName(keeper.name())
                .build();
    }

    @Override
    public void save(PublicKeyCredentialUserEntity entity) {
        throw new UnsupportedOperationException();
    }

    @Override
    public void delete(Bytes handle) {
        throw new UnsupportedOperationException();
    }
}
