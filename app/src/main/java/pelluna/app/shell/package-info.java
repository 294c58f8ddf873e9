/** The frame around every page, and failures as pages and problems. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "database",
            "drawing",
            "limits",
            "operations",
            "planfile",
            "planning",
            "tank",
            "writes"
        })
package pelluna.app.shell;

import org.springframework.modulith.ApplicationModule;
