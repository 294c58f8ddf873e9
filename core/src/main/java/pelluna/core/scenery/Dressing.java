package pelluna.core.scenery;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import pelluna.core.scape.Hide;
import pelluna.core.scape.Rock;
import pelluna.core.tank.Tank;

/** Where what a tank keeps stands: corals where there is rock, none of it before a cave. */
public final class Dressing {
    private static final int TRIES = 40;
    /** A colony for so many cm of heap. */
    private static final double APART_CM = 30;

    private static final int MOST = 3;
    /** Nothing is larger than this share of its heap's width or of the glass's height. */
    private static final double LARGEST = 0.3;
    /** Half of a cave's mouth by the length of the tank, with its edge. */
    private static final double MOUTH = 0.028;

    private final Tank tank;

    public Dressing(Tank tank) {
        this.tank = tank;
    }

    /** On a heap, what stands lower later, so that it is painted before the higher ones. */
    public List<Standing> heap(int i) {
        Rock rock = tank.scape().rocks().get(i);
        List<Standing> there = new ArrayList<>();
        for (LifeForm form : LifeForm.values()) {
            if (tank.keeps().contains(form.of()) && form != LifeForm.CUCUMBER && here(form, i)) {
                int many = form.walks() ? 1 : (int) Math.max(1, Math.min(MOST, rock.widthCm() / APART_CM));
                for (int n = 0; n < many; n++) {
                    put(form, rock, i, n, there);
                }
            }
        }
        return there.stream()
                .sorted((a, b) -> Double.compare(b.heightCm(), a.heightCm()))
                .toList();
    }

    /** On the sand, from the left glass on. */
    public List<Standing> sand() {
        List<Standing> there = new ArrayList<>();
        for (LifeForm form : LifeForm.values()) {
            if (tank.keeps().contains(form.of()) && form.onSand() && tank.sandDepthCm() > 0) {
                Random lot = new Random(Seeds.of(-1, form, 0));
                double size = size(form, tank.lengthCm(), lot);
                for (int t = 0; t < TRIES; t++) {
                    double x = tank.lengthCm() * (0.06 + 0.88 * lot.nextDouble());
                    boolean open = tank.scape().heightAt(x) < 0.02 * tank.lengthCm();
                    if (open && there.stream().noneMatch(s -> Math.abs(s.xCm() - x) < (s.sizeCm() + size) / 2)) {
                        there.add(new Standing(form, x, 0, size, lot.nextDouble(), Seeds.of(-1, form, 0)));
                        break;
                    }
                }
            }
        }
        return there;
    }

    /** Those that walk are on one heap each, those of the sand only where there is none. */
    private boolean here(LifeForm form, int heap) {
        boolean lies = form.onSand() && tank.sandDepthCm() > 0 && form != LifeForm.SNAIL;
        return !lies && (!form.walks() || form.ordinal() % tank.scape().rocks().size() == heap);
    }

    private void put(LifeForm form, Rock rock, int heap, int nth, List<Standing> there) {
        long seed = Seeds.of(heap, form, nth);
        Random lot = new Random(seed);
        double size = size(form, rock.widthCm(), lot);
        double tint = lot.nextDouble();
        for (int t = 0; t < TRIES; t++) {
            double x = rock.widthCm() * (0.1 + 0.8 * lot.nextDouble());
            double height = Pile.edge(rock, x) * form.level(lot.nextDouble());
            boolean tall = height + size > tank.frontHeightCm() - tank.sandDepthCm();
            if (!tall && Pile.edge(rock, x) > 0.3 * size && free(x, height, size, rock, there)) {
                there.add(new Standing(form, x, height, size, tint, seed));
                return;
            }
        }
    }

    private boolean free(double x, double height, double size, Rock rock, List<Standing> there) {
        return there.stream()
                        .noneMatch(s -> Math.hypot(s.xCm() - x, s.heightCm() - height) < 0.55 * (s.sizeCm() + size))
                && tank.scape().hides().stream().noneMatch(h -> covers(h, x + rock.leftCm(), height, size));
    }

    private boolean covers(Hide hide, double x, double height, double size) {
        double mouth = MOUTH * tank.lengthCm();
        double up = hide.heightCm() - tank.sandDepthCm();
        return Math.abs(hide.xCm() - x) < size / 2 + mouth && up > height - mouth && up < height + size + mouth;
    }

    private double size(LifeForm form, double room, Random lot) {
        double most = LARGEST * Math.min(room, tank.frontHeightCm());
        return Math.min(form.sizeCm(), most) * (0.75 + 0.5 * lot.nextDouble());
    }
}
