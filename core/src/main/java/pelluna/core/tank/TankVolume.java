package pelluna.core.tank;

import pelluna.core.units.Convert;

/**
 * The volume of a tank, broken down. All in litres. Net = gross − rock − sand + sump, or what was measured.
 *
 * @param measured whether net is the keeper's own measurement
 * @param sized    whether gross comes of the inside size; without one it stands at the net volume
 */
public record TankVolume(
        double grossLitres,
        double rockLitres,
        double sandLitres,
        double sumpLitres,
        double netLitres,
        boolean measured,
        boolean sized) {
    /** Bulk density of reef rock, kg/L, so that mass ÷ density is the water it displaces. Pelluna's judgement. */
    public static final double ROCK_KG_PER_LITRE = 2.0;
    /** Share of a sand bed that is water between the grains. Common practice. */
    public static final double SAND_PORE_SHARE = 0.4;

    /**
     * Share of the glass that is water where nobody gave its size: rock and sand take 8 to 15 % (common practice); a
     * tenth is Pelluna's
     * judgement.
     */
    public static final double WATER_SHARE = 0.9;

    /**
     * What the glass of the display holds, litres, above zero: length × width × water height, or, where only a
     * measured volume is
     * known, as much glass
     * as such a display usually has.
     */
    public double glassLitres() {
        return sized ? grossLitres : Math.max(netLitres - sumpLitres, netLitres / 2) / WATER_SHARE;
    }

    static TankVolume of(Tank tank) {
        double floor = tank.shape().floorCm2(tank.lengthCm(), tank.widthCm());
        double gross = floor * tank.waterHeightCm() / Convert.CM3_PER_LITRE;
        double rock = tank.rockKg() / ROCK_KG_PER_LITRE;
        double sand = floor * tank.sandDepthCm() * (1 - SAND_PORE_SHARE) / Convert.CM3_PER_LITRE;
        double computed = gross - rock - sand + tank.sumpLitres();
        boolean measured = tank.netLitresMeasured().isPresent();
        double net = tank.netLitresMeasured().orElse(computed);
        return new TankVolume(
                measured && gross == 0 ? net : gross, rock, sand, tank.sumpLitres(), net, measured, gross > 0);
    }
}
