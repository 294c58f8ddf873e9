/** What programs of a keeper read and write: the same as pages, as JSON. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "catalogue",
            "datapackage",
            "limits",
            "overrides",
            "planfile",
            "planning",
            "rows",
            "tank",
            "tokens",
            "writes"
        })
package pelluna.app.api;

import org.springframework.modulith.ApplicationModule;
