package pelluna.app.reminders;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Locale;
import java.util.Optional;
import pelluna.app.rows.Row;
import pelluna.core.remind.QuietHours;

/** How and when a keeper is reminded. */
@Entity
@Table(name = "reminder")
class ReminderEntity extends Row {
    static final LocalTime USUAL_HOUR = LocalTime.of(8, 0);

    @Column(name = "keeper_id", updatable = false)
    private long keeperId;

    private boolean mail;

    @Column(name = "mail_at")
    private LocalTime mailAt = USUAL_HOUR;

    @Column(name = "mailed_on")
    private LocalDate mailedOn;

    private boolean calendar = true;

    @Column(name = "quiet_from")
    private LocalTime quietFrom;

    @Column(name = "quiet_to")
    private LocalTime quietTo;

    private String language = "en";
    private String site = "";

    @Column(name = "look_at")
    private Instant lookAt;

    protected ReminderEntity() {}

    ReminderEntity(long keeper, Instant now) {
        keeperId = keeper;
        lookAt = now;
    }

    boolean mail() {
        return mail;
    }

    LocalTime mailAt() {
        return mailAt;
    }

    /** The day of the last mail, or of a look at which there was nothing to write. */
    Optional<LocalDate> mailedOn() {
        return Optional.ofNullable(mailedOn);
    }

    void mails(boolean whether, LocalTime at) {
        mail = whether;
        mailAt = at;
    }

    void mailed(LocalDate on) {
        mailedOn = on;
    }

    /** Whether days in the calendar have an alarm. */
    boolean calendar() {
        return calendar;
    }

    void alarms(boolean whether) {
        calendar = whether;
    }

    Optional<QuietHours> quiet() {
        return quietFrom == null ? Optional.empty() : Optional.of(new QuietHours(quietFrom, quietTo));
    }

    /** @param hours null for none */
    void rests(QuietHours hours) {
        quietFrom = hours == null ? null : hours.from();
        quietTo = hours == null ? null : hours.to();
    }

    /** The language in which the keeper has last read what is set here. */
    Locale language() {
        return Locale.forLanguageTag(language);
    }

    /** How the keeper reaches this server, as 'https://reef.local:8443'. */
    String site() {
        return site;
    }

    void reads(Locale other, String from) {
        language = other.toLanguageTag();
        site = from;
    }

    void lookAt(Instant moment) {
        lookAt = moment;
    }
}
