#include <iostream>
#include <string>
#include <vector>
#include <stdexcept>
using namespace std;

class NotEnough : public runtime_error {
    int missing;
public:
    NotEnough(const string& what, int missing) : runtime_error(what), missing(missing) {}
    int getMissing() const { return missing; }
};

class Tank {
    double level;
    const double capacity;
    string label;
    static int made;
public:
    Tank(string label, double capacity) : level(0), capacity(capacity), label(label) { ++made; }
    void fill(double litres) {
        if (litres < 0) throw invalid_argument("negative amount");
        if (level + litres > capacity) throw out_of_range(label + " would overflow");
        level += litres;
    }
    void drain(double litres) {
        if (litres > level) throw NotEnough("not enough in " + label, static_cast<int>(litres - level));
        level -= litres;
    }
    double percent() const { return level / capacity * 100; }
    static int count() { return made; }
};
int Tank::made = 0;

int main() {
    Tank rain("rain tank", 200), pond("pond", 50);
    try {
        rain.fill(120);
        rain.drain(20);
        cout << rain.percent() << "%" << endl;
        pond.fill(60);
        cout << "never" << endl;
    } catch (const out_of_range& e) {
        cout << "Out of range: " << e.what() << endl;
    }
    try {
        pond.drain(10);
    } catch (const NotEnough& e) {
        cout << e.what() << ", missing " << e.getMissing() << endl;
    } catch (const exception& e) {
        cout << "other " << e.what() << endl;
    }
    try {
        pond.fill(-1);
    } catch (...) {
        cout << "something went wrong" << endl;
    }
    vector<int> v(3, 7);
    try {
        cout << v.at(1) << endl;
        cout << v.at(5) << endl;
    } catch (const out_of_range&) {
        cout << "no such item" << endl;
    }
    try {
        int n = stoi("abc");
        cout << n;
    } catch (const invalid_argument& e) {
        cout << "not a number" << endl;
    }
    cout << Tank::count() << " tanks" << endl;
    return 0;
}
