/** The order of arrival under the hand, prices, upkeep, calendar. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "database",
            "drawing",
            "fish",
            "limits",
            "livestock",
            "overrides",
            "planfile",
            "planning",
            "shell",
            "tank"
        })
package pelluna.app.arrivals;

import org.springframework.modulith.ApplicationModule;
