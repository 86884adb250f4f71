/**
 * What stands when somebody asks in three years: a job as it was when it was signed, frozen with its digest; who signed, each signature
 * bound to the one before; what came since; and whether all of it still is what it was.
 */
package jawread.server.records;
