/** Knows when the database is gone. */
@ApplicationModule(allowedDependencies = {"writes"})
package pelluna.app.database;

import org.springframework.modulith.ApplicationModule;
