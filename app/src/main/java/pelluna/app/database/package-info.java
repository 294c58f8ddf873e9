/** Knows when the database is gone. */
@ApplicationModule(allowedDependencies = {"limits", "writes"})
package pelluna.app.database;

import org.springframework.modulith.ApplicationModule;
