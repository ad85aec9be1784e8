// Functions kept in variables, between the rows of main.
#include <functional>
#include <iostream>
#include <string>
#include <vector>
using namespace std;

function<int(int)> rows;

int main() {
    int total = 0;
    function<void(int, string)> plant = [&](int number, string name) {
        total += number;
        cout << name << " " << total << endl;
    };
    plant(4, "sage");
    auto tell = [&](const vector<string>& names) {
        for (const string& name : names) {
            cout << name << " ";
        }
        cout << rows(names.size()) << endl;
    };
    rows = [](int beds) {
        if (beds < 3) {
            return 1;
        }
        return 1 + rows(beds - 3);
    };
    std::function<double(double)> half = [](double size) {
        double part = size / 2;
        return part;
    };
    tell({"rose", "thyme", "leek", "pea"});
    plant(3, "mint");
    cout << half(7) << endl;
    return 0;
}
