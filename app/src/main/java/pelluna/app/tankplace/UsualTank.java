package pelluna.app.tankplace;

import java.util.List;
import java.util.stream.Stream;
import pelluna.core.units.Convert;
import pelluna.words.Words;

/**
 * A size in which tanks are often sold, to begin with: figures as they are typed, in the keeper's unit. From memory.
 *
 * @param says length, width and height with the unit
 */
public record UsualTank(
        String length, String width, String height, String says, int lengthCm, int widthCm, int heightCm) {
    private static final int[][] SIZES = {
        {60, 30, 36}, {60, 60, 50}, {90, 45, 50}, {120, 50, 55}, {150, 60, 60}, {180, 70, 65}
    };

    public static List<UsualTank> all(Words say) {
        return Stream.of(SIZES).map(s -> of(s, say)).toList();
    }

    private static UsualTank of(int[] cm, Words say) {
        String[] f = new String[cm.length];
        for (int i = 0; i < cm.length; i++) {
            f[i] = say.number(Math.round(say.us() ? cm[i] / Convert.CM_PER_INCH : cm[i]));
        }
        String says = f[0] + " × " + f[1] + " × " + f[2] + " " + say.lengthUnit();
        return new UsualTank(f[0], f[1], f[2], says, cm[0], cm[1], cm[2]);
    }
}
