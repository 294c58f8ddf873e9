/** What keepers share of what they saw: added up, held against what was said, and told to everybody. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "chart",
            "database",
            "drawing",
            "limits",
            "overrides",
            "planfile",
            "planning",
            "prediction",
            "rows",
            "shell",
            "tank"
        })
package pelluna.app.pooled;

import org.springframework.modulith.ApplicationModule;
