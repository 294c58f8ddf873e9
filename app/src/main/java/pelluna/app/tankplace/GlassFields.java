package pelluna.app.tankplace;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import pelluna.app.limits.Takes;

/** A form with the figures of a tank, each as {@link TankField} has it; 'was-' before one says what it was. */
@Target(ElementType.PARAMETER)
@Retention(RetentionPolicy.RUNTIME)
@Takes({
    "name",
    "shape",
    "lengthCm",
    "widthCm",
    "waterHeightCm",
    "netLitres",
    "sumpLitres",
    "runCm",
    "rockKg",
    "hides",
    "sandDepthCm",
    "cover",
    "cycledOn",
    "keeps",
    "waterChangePercent",
    "waterChangeEveryDays",
    "mealsADay",
    "seaweed",
    "pods",
    "keeper",
    "temperatureC",
    "salinity",
    "nitrate",
    "nitrateCeiling",
    "phosphate",
    "quarantinePlaces",
    "quarantineSchool",
    "*"
})
@interface GlassFields {}
