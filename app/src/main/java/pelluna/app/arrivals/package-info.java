/** The order of arrival under the hand, prices, upkeep, calendar. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "chart",
            "drawing",
            "fish",
            "limits",
            "livestock",
            "overrides",
            "planfile",
            "planning",
            "reefscape",
            "rows",
            "sharing",
            "shell",
            "signin",
            "tank"
        })
package pelluna.app.arrivals;

import org.springframework.modulith.ApplicationModule;
