#include <iostream>
#include <vector>
#include <string>
#include <iomanip>
using namespace std;

struct Plant {
    string name;
    double height = 0.0;
    int age{};
    bool operator<(const Plant& other) const { return height < other.height; }
};

ostream& operator<<(ostream& os, const Plant& p) {
    return os << left << setw(10) << p.name << right << setw(7) << fixed << setprecision(2) << p.height << setw(4) << p.age;
}

void grow(vector<Plant>& plants, double by) {
    for (auto& p : plants) {
        p.height += by;
        ++p.age;
    }
}

const Plant* tallest(const vector<Plant>& plants) {
    const Plant* best = nullptr;
    for (const auto& p : plants)
        if (!best || *best < p) best = &p;
    return best;
}

int main() {
    vector<Plant> plants{{"Pea", 12.5, 2}, {"Fig", 140}, {"Leek"}};
    plants.push_back({"Kale", 33.25, 1});
    plants.emplace_back(Plant{"Oak", 900, 40});
    grow(plants, 1.5);
    for (size_t i = 0; i < plants.size(); ++i)
        cout << i << ". " << plants[i] << '\n';
    if (const Plant* t = tallest(plants)) cout << "Tallest: " << t->name << endl;
    cout << (tallest({}) == nullptr ? "none" : "some") << endl;
    plants.erase(plants.begin() + 1);
    cout << plants.front().name << ' ' << plants.back().name << ' ' << plants.size() << endl;
    plants.insert(plants.begin(), Plant{"Yew", 2, 3});
    Plant copy = plants[0];
    copy.name += "!";
    cout << plants[0].name << copy.name << endl;
    return 0;
}
