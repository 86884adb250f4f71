package jawread.server.jobfile;

import java.util.List;

/**
 * What a file of a job holds, before anything of it is kept.
 *
 * @param home the shop that it was measured in, as it says
 * @param state new, again, or more: of a job that is here already, with nothing or something that is not
 * @param job its number here; 0 of a new one
 * @param sentence the same in words
 * @param named gauges, masters and people of it that this shop has, too, by the same number or name: for each is to be said whether it is the same
 */
public record JobFileView(
        String home,
        String name,
        String about,
        String state,
        long job,
        String sentence,
        int plans,
        int parts,
        int features,
        int readings,
        List<String> newPeople,
        List<String> newGauges,
        List<NamedAlikeView> named,
        List<String> signed) {
    /**
     * @param what gauge, master or person
     * @param name its number, or name
     * @param there what it is called in the file's shop, more fully
     * @param here what it is called in this one
     * @param canBeSame whether it can be: of gauges those of one kind, range and step
     * @param otherwise what it is called here if it is another
     */
    public record NamedAlikeView(
            String what, String name, String there, String here, boolean canBeSame, String otherwise) {}

    /** @param kept how many rows of the file were new here */
    public record JobArrivedView(long job, String name, String state, int kept, String sentence) {}
}
