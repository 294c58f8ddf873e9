package pelluna.app.beginning;

import java.time.LocalDate;
import pelluna.core.units.Named;

/**
 * When the tank cycled, as somebody remembers it. The youngest age of each answer counts, so that no fish comes too
 * early; a cycle that is still to come is given six weeks, common practice.
 */
enum Cycle implements Named {
    NOT_YET("not-yet") {
        @Override
        LocalDate day(LocalDate today) {
            return today.plusWeeks(6);
        }
    },
    THIS_MONTH("this-month") {
        @Override
        LocalDate day(LocalDate today) {
            return today;
        }
    },
    A_MONTH("a-month") {
        @Override
        LocalDate day(LocalDate today) {
            return today.minusMonths(1);
        }
    },
    THREE_MONTHS("three-months") {
        @Override
        LocalDate day(LocalDate today) {
            return today.minusMonths(3);
        }
    },
    SIX_MONTHS("six-months") {
        @Override
        LocalDate day(LocalDate today) {
            return today.minusMonths(6);
        }
    },
    A_YEAR("a-year") {
        @Override
        LocalDate day(LocalDate today) {
            return today.minusYears(1);
        }
    };

    private final String word;

    Cycle(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }

    /** The day on which the cycle ended, or will have. */
    abstract LocalDate day(LocalDate today);

    /** The answer that a day stands for: the oldest age that the tank has reached by now. */
    static Cycle of(LocalDate cycled, LocalDate today) {
        Cycle reached = NOT_YET;
        for (Cycle c : values()) {
            if (c != NOT_YET && !cycled.isAfter(c.day(today))) {
                reached = c;
            }
        }
        return reached;
    }
}
