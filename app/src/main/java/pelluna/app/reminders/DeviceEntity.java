package pelluna.app.reminders;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import pelluna.app.rows.Row;

/** A browser that takes notifications: where they are sent, and the keys that only it can open. */
@Entity
@Table(name = "push_device")
class DeviceEntity extends Row {
    @Column(name = "keeper_id", updatable = false)
    private long keeperId;

    private String endpoint;

    @Column(name = "public_key")
    private byte[] publicKey;

    private byte[] secret;
    private String label;

    @Column(name = "made_at")
    private Instant madeAt;

    @Column(name = "reached_at")
    private Instant reachedAt;

    private int failures;

    protected DeviceEntity() {}

    DeviceEntity(long keeper, Device device, Instant now) {
        keeperId = keeper;
        endpoint = device.endpoint();
        publicKey = device.publicKey();
        secret = device.secret();
        label = device.label();
        madeAt = now;
    }

    long keeper() {
        return keeperId;
    }

    Device device() {
        return new Device(endpoint, publicKey, secret, label);
    }

    Instant madeAt() {
        return madeAt;
    }

    void reached(Instant now) {
        reachedAt = now;
        failures = 0;
    }

    /** @return how often in a row by now */
    int failed() {
        failures++;
        return failures;
    }
}
