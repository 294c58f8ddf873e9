package pelluna.core.catalogue;

import java.util.List;
import pelluna.core.units.Named;

/**
 * How a fish is drawn: a form, colours as #rrggbb, and marks laid over the body in order. Positions are shares of the
 * body length, snout 0 and tail 1, and of the body depth, back −1 and belly 1.
 */
public record Look(Form form, String body, String fins, String tail, List<Mark> marks) {
    public Look {
        marks = List.copyOf(marks);
    }

    /** What a mark is; the numbers it takes stand in the catalogue's format, docs/catalogue.md. */
    public enum Kind implements Named {
        /** x w: an upright bar. */
        BAR("bar", 2),
        /** y w: a stripe along the body. */
        STRIPE("stripe", 2),
        /** x: everything behind x. */
        REAR("rear", 1),
        /** y: everything above y, along the back. */
        BACK("back", 1),
        /** y: everything below y. */
        BELLY("belly", 1),
        /** n r: n spots of radius r, spread over the body. */
        SPOTS("spots", 2),
        /** n r: two rows along the body, above and below, of n spots of radius r each. */
        ROWS("rows", 2),
        /** x y r: one round spot. */
        SPOT("spot", 3),
        /** x: everything before x, the face. */
        MASK("mask", 1),
        /** x0 y0 x1 y1 w: a straight or slanting line. */
        LINE("line", 5),
        /** x0 y0 x1 y1 x2 y2: a triangle. */
        WEDGE("wedge", 6),
        /** n w: n narrow bars over the whole body. */
        BARS("bars", 2),
        /** n w: n narrow stripes over the whole body. */
        STRIPES("stripes", 2),
        /** n w: n wavy lines, a maze. */
        MAZE("maze", 2),
        /** x y rx ry: an oval patch; rx in lengths, ry in shares of the depth. */
        PATCH("patch", 4),
        /** x0 y0 cx cy x1 y1 w: a bent line from one end to the other, drawn towards the point between. */
        CURVE("curve", 7),
        /** w: an edge of that width round the fins. */
        FRINGE("fringe", 1),
        /** w: an edge of that width round the tail. */
        TAIL_EDGE("tail-edge", 1);

        private final String word;
        private final int numbers;

        Kind(String word, int numbers) {
            this.word = word;
            this.numbers = numbers;
        }

        @Override
        public String word() {
            return word;
        }

        public int numbers() {
            return numbers;
        }
    }

    /** One mark in one colour. */
    public record Mark(Kind kind, List<Double> at, String colour) {
        public Mark {
            at = List.copyOf(at);
        }
    }

    /** Likeness of the body colours, 0 to 1, by distance in RGB; symmetric. Pelluna's judgement. */
    public double colourLikeness(Look other) {
        double sum = 0;
        for (int i = 1; i < 7; i++) {
            int high = Character.digit(body.charAt(i), 16) - Character.digit(other.body.charAt(i), 16);
            i++;
            int d = 16 * high + Character.digit(body.charAt(i), 16) - Character.digit(other.body.charAt(i), 16);
            sum += d * d;
        }
        return Math.max(0, 1 - Math.sqrt(sum) / 255);
    }
}
