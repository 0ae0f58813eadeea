package kindthimble.app.device;

import kindthimble.app.shop.ShopService;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.habit.Measured;
import kindthimble.core.kitchen.ShopSettings;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Lets the room's figures follow its sensor, where the shop wants that: by steps that matter, so that not each breath makes another plan. */
@Component
class RoomFollower {
    private static final double STEP_CELSIUS = 1;
    private static final double STEP_PERCENT = 2;

    private final RoomAir sensor;
    private final ShopService shop;

    RoomFollower(RoomAir sensor, ShopService shop) {
        this.sensor = sensor;
        this.shop = shop;
    }

    @Scheduled(fixedDelayString = "${kind-thimble.room-sensor-every:60000}", initialDelay = 10_000)
    void look() {
        if (Boolean.TRUE.equals(shop.settings().followsSensor())) {
            sensor.read().ifPresent(this::take);
        }
    }

    private void take(RoomAir.Air air) {
        ShopSettings settings = shop.own();
        Habits habits = settings.habits();
        Habits followed = follow(habits, Habit.ROOM_CELSIUS, Math.rint(air.celsius() * 2) / 2, STEP_CELSIUS);
        followed = follow(followed, Habit.ROOM_HUMIDITY, Math.rint(air.humidityPercent()), STEP_PERCENT);
        if (!followed.equals(habits)) {
            shop.save(settings.with(followed));
        }
    }

    private static Habits follow(Habits habits, Habit habit, double read, double step) {
        double within = Math.max(habit.range().least(), Math.min(habit.range().most(), read));
        return Math.abs(within - habits.mean(habit)) < step
                ? habits
                : habits.with(
                        habit, new Measured(within, habits.all().get(habit).spread(), Measured.Source.LEARNT));
    }
}
