/** Rows to a plan and back, what Pelluna says of it, steps that can be taken back. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "limits",
            "livestock",
            "overrides",
            "planfile",
            "rows",
            "tank",
            "water",
            "writes"
        })
package pelluna.app.planning;

import org.springframework.modulith.ApplicationModule;
