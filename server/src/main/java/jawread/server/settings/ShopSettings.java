package jawread.server.settings;

import java.math.BigDecimal;
import java.time.Clock;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import jawread.core.heat.Material;
import jawread.core.length.LengthUnit;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.storage.Locks;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import jawread.server.words.Editions;
import jawread.server.words.Refused;
import jawread.server.words.Shop;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What this shop has decided. */
@Service
public class ShopSettings {
    private static final Kind<String, Map<Setting, String>> DECIDED = Kind.small("settings");

    private final Snapshots snapshots;
    private final People people;
    private final ShopSettingRepository changed;
    private final Shop shop;
    private final Clock clock;
    private final Words words;
    private final Locks locks;

    public ShopSettings(
            Snapshots snapshots,
            People people,
            ShopSettingRepository changed,
            Shop shop,
            Clock clock,
            Words words,
            Locks locks) {
        this.snapshots = snapshots;
        this.people = people;
        this.changed = changed;
        this.shop = shop;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /**
     * A setting as it stands.
     *
     * @param edition 0 while it has its starting value
     * @param changedBy empty while it has its starting value
     */
    public record Standing(Setting setting, String choice, long edition, Optional<String> changedBy) {}

    @Transactional(readOnly = true)
    public List<Standing> all() {
        Map<String, ShopSetting> kept =
                changed.findAll().stream().collect(Collectors.toMap(ShopSetting::name, Function.identity()));
        return Arrays.stream(Setting.values())
                .map(setting -> standing(setting, Optional.ofNullable(kept.get(setting.code()))))
                .toList();
    }

    private Standing standing(Setting setting, Optional<ShopSetting> kept) {
        return new Standing(
                setting,
                kept.map(ShopSetting::choice).orElse(starting(setting)),
                kept.map(ShopSetting::edition).orElse(0L),
                kept.map(of -> people.nameOf(of.changedBy())));
    }

    /** The name is the program's own setting until somebody gives another here. */
    private String starting(Setting setting) {
        return setting == Setting.SHOP_NAME ? shop.shopName() : setting.startingValue();
    }

    @Transactional(readOnly = true)
    public String of(Setting setting) {
        return snapshots
                .of(
                        DECIDED,
                        "all",
                        List.of(Subject.SHOP),
                        () -> all().stream().collect(Collectors.toMap(Standing::setting, Standing::choice)))
                .get(setting);
    }

    /** The choices that a new job starts with. */
    @Transactional(readOnly = true)
    public Map<String, String> forJobs() {
        var choices = new LinkedHashMap<String, String>();
        List<Setting> ofJobs = Setting.ofJobs();
        all().stream()
                .filter(standing -> ofJobs.contains(standing.setting()))
                .forEach(standing -> choices.put(standing.setting().code(), standing.choice()));
        return choices;
    }

    /** Of a setting that is a number. */
    @Transactional(readOnly = true)
    public BigDecimal number(Setting setting) {
        return new BigDecimal(of(setting));
    }

    @Transactional(readOnly = true)
    public LengthUnit unit() {
        return of(Setting.UNIT).equals("in") ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
    }

    /** Those of the shop alone. */
    @Transactional(readOnly = true)
    public List<Material> ownMaterials() {
        return Arrays.stream(of(Setting.MATERIALS).split(";"))
                .filter(text -> !text.isBlank())
                .map(text -> Material.parse(text).orThrow())
                .toList();
    }

    /** What something is of; steel where nobody has said, and where what was said is no material any more. */
    @Transactional(readOnly = true)
    public Material material(String name) {
        return Material.called(name, ownMaterials()).orElse(Material.STEEL);
    }

    /**
     * Decides a setting. Refuses a choice that cannot be with 422, and one made over another's with 412.
     *
     * @param edition the one that was looked at
     */
    @Transactional
    public Standing change(String code, String choice, long edition, Person person) {
        locks.settings();
        Setting setting = Setting.of(code)
                .orElseThrow(() ->
                        Refused.of(HttpStatus.NOT_FOUND, "no-such-setting", words.say("problem.no-such-setting")));
        String accepted = setting.accept(choice).fold(text -> text, refusal -> {
            throw Refused.field("choice", refusal, words.say(refusal, LengthUnit.INCH));
        });
        Optional<ShopSetting> before = changed.findByName(code);
        Editions.refuseUnlessSame(edition, before.map(ShopSetting::edition).orElse(0L), words);
        ShopSetting now = before.orElseGet(() -> new ShopSetting(setting));
        now.change(accepted, person, clock.instant());
        return standing(setting, Optional.of(changed.saveAndFlush(now)));
    }
}
