package pelluna.words;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.DecimalFormatSymbols;
import java.util.Locale;
import pelluna.core.units.Rounding;

/** How a language writes numbers, and reads them: with its own sign before the decimals, and none between thousands. */
final class Numbers {
    private final char decimal;

    Numbers(Locale like) {
        decimal = DecimalFormatSymbols.getInstance(like).getDecimalSeparator();
    }

    /** Without needless zeros, at most three decimals: '12', '4.5'; in German '4,5'. */
    String text(double value) {
        return Rounding.text(value).replace('.', decimal);
    }

    /** With exactly so many decimals: '4.50'. */
    String fixed(double value, int decimals) {
        return BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .toPlainString()
                .replace('.', decimal);
    }
}
