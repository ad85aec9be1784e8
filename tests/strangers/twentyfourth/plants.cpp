#include <iostream>
#include <memory>
#include <string>
#include <vector>
using namespace std;

class Plant {
protected:
    string name;
    int height;
public:
    Plant(string name, int height = 1) : name(name), height(height) {}
    virtual ~Plant() = default;
    virtual void grow() { height += 1; }
    virtual string kind() const = 0;
    int getHeight() const { return height; }
    void show() const {
        cout << kind() << " " << name << ": " << string(height, '|') << " " << height << endl;
    }
};

class Bean : public Plant {
public:
    using Plant::Plant;
    void grow() override { height *= 2; }
    string kind() const override { return "bean"; }
};

class Rose : public Plant {
    bool blooming = false;
public:
    Rose(const string& colour) : Plant(colour + " rose", 2) {}
    void grow() override {
        Plant::grow();
        if (height > 3) blooming = true;
    }
    string kind() const override { return blooming ? "blooming" : "budding"; }
};

class Weed final : public Plant {
public:
    static int count;
    Weed() : Plant("weed #" + to_string(++count)) {}
    string kind() const override { return "weed"; }
};
int Weed::count = 0;

class Garden {
    vector<unique_ptr<Plant>> plants;
public:
    void add(unique_ptr<Plant> plant) { plants.push_back(move(plant)); }
    void day() {
        for (auto& p : plants) p->grow();
    }
    void show() const {
        for (const auto& p : plants) p->show();
    }
    int weedOut() {
        int removed = 0;
        for (auto it = plants.begin(); it != plants.end();) {
            if (dynamic_cast<Weed*>(it->get()) != nullptr) {
                it = plants.erase(it);
                removed++;
            } else {
                ++it;
            }
        }
        return removed;
    }
    int tallest() const {
        int best = 0;
        for (const auto& p : plants) best = max(best, p->getHeight());
        return best;
    }
};

int main() {
    Garden garden;
    garden.add(make_unique<Bean>("Jack"));
    garden.add(make_unique<Rose>("red"));
    garden.add(make_unique<Weed>());
    garden.add(make_unique<Weed>());
    for (int i = 0; i < 3; i++) garden.day();
    garden.show();
    cout << garden.weedOut() << " weeds of " << Weed::count << ", tallest " << garden.tallest() << endl;
    garden.show();
}
