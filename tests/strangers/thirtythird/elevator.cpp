#include <iostream>
#include <deque>
#include <list>
#include <string>
#include <optional>
#include <unordered_map>
#include <vector>
#include <algorithm>

namespace hollow {

enum State { IDLE, UP, DOWN };

class Lift {
public:
    Lift(int floors) : floors(floors), floor(0), state(IDLE) {}

    void call(int f) {
        if (f < 0 || f >= floors) {
            std::cout << "no floor " << f << "\n";
            return;
        }
        if (std::find(stops.begin(), stops.end(), f) == stops.end()) stops.push_back(f);
    }

    bool step() {
        if (stops.empty()) {
            state = IDLE;
            return false;
        }
        int target = stops.front();
        if (target == floor) {
            stops.pop_front();
            std::cout << "[open " << floor << "] ";
            served[floor]++;
        } else if (target > floor) {
            state = UP;
            ++floor;
        } else {
            state = DOWN;
            --floor;
        }
        return true;
    }

    std::string status() const {
        std::string s = "at " + std::to_string(floor) + " ";
        switch (state) {
            case IDLE: s += "idle"; break;
            case UP: s += "up"; break;
            case DOWN: s += "down"; break;
        }
        return s;
    }

    std::optional<int> busiest() const {
        if (served.empty()) return std::nullopt;
        auto best = std::max_element(served.begin(), served.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
        return best->first;
    }

private:
    int floors, floor;
    State state;
    std::deque<int> stops;
    std::unordered_map<int, int> served;
};

}  // namespace hollow

int main() {
    using hollow::Lift;
    Lift lift(6);
    std::cout << (lift.busiest() ? "busy" : "never used") << '\n';
    for (int f : {3, 1, 9, 3, 0}) lift.call(f);
    int steps = 0;
    while (lift.step()) {
        if (steps++ == 3) { lift.call(1); lift.call(5); }
    }
    std::cout << '\n' << steps << " steps, " << lift.status() << '\n';
    lift.call(1);
    while (lift.step());
    if (auto b = lift.busiest()) std::cout << "\nbusiest " << *b << '\n';
    std::list<int> l{5, 1, 4};
    l.push_front(9);
    l.sort();
    l.remove(4);
    auto it = l.begin();
    std::advance(it, 1);
    l.insert(it, 77);
    for (auto i = l.rbegin(); i != l.rend(); ++i) std::cout << *i << ' ';
    std::cout << l.front() << l.back() << '\n';
    std::vector<int> v{1, 2, 3, 4, 5, 6, 7};
    v.erase(std::remove_if(v.begin(), v.end(), [](int x) { return x % 3 == 0; }), v.end());
    std::rotate(v.begin(), v.begin() + 2, v.end());
    for (int x : v) std::cout << x << ' ';
    std::cout << std::count_if(v.begin(), v.end(), [](int x) { return x > 3; }) << '\n';
}
