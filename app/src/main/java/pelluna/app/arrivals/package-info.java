/** The order of arrival under the hand, prices, upkeep, calendar. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "drawing",
            "fish",
            "limits",
            "livestock",
            "ownword",
            "planfile",
            "planning",
            "shell",
            "tank"
        })
package pelluna.app.arrivals;

import org.springframework.modulith.ApplicationModule;
