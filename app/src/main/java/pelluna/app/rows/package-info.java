/** What every row has, and plans in text columns. */
@ApplicationModule(allowedDependencies = {"writes"})
package pelluna.app.rows;

import org.springframework.modulith.ApplicationModule;
