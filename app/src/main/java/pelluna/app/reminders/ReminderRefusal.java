package pelluna.app.reminders;

import pelluna.app.limits.Refusal;

/** Why somebody cannot be reminded so. */
public sealed interface ReminderRefusal extends Refusal {
    record NoHour() implements ReminderRefusal {}

    record QuietAllDay() implements ReminderRefusal {}

    record QuietHalf() implements ReminderRefusal {}

    /** What came is no subscription of a browser. */
    record NoDevice() implements ReminderRefusal {}

    /** The browser's push service is not of those that this server writes to. */
    record NotOutside() implements ReminderRefusal {}

    record TooManyDevices(int most) implements ReminderRefusal {}

    record NoDeviceYet() implements ReminderRefusal {}

    /** Nothing was taken by any push service. */
    record NotReached() implements ReminderRefusal {}
}
