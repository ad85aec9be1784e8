#include <iostream>
#include <string>
#include <vector>
#include <iomanip>
using namespace std;

struct Plant {
    string name;
    int height;
    double price;
};

void printTable(const vector<Plant>& plants) {
    cout << left << setw(12) << "name" << right << setw(8) << "height" << setw(10) << "price" << endl;
    cout << string(30, '-') << endl;
    for (const Plant& p : plants) {
        cout << left << setw(12) << p.name << right << setw(8) << p.height << setw(10) << fixed << setprecision(2) << p.price << endl;
    }
}

int main() {
    vector<Plant> plants;
    int n;
    cin >> n;
    for (int i = 0; i < n; i++) {
        Plant p;
        cin >> p.name >> p.height >> p.price;
        plants.push_back(p);
    }
    printTable(plants);
    double total = 0;
    int tallest = 0;
    for (int i = 0; i < (int)plants.size(); ++i) {
        total += plants[i].price;
        if (plants[i].height > plants[tallest].height)
            tallest = i;
    }
    cout << "Total: " << total << "\n";
    cout << "Tallest: " << plants[tallest].name << " (" << plants[tallest].height / 100.0 << " m)" << '\n';
    for (auto& p : plants) { p.price *= 1.1; p.height += 5; }
    printTable(plants);
    return 0;
}
