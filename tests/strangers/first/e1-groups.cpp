#include <iostream>
#include <map>
#include <set>
#include <string>
#include <tuple>
#include <vector>
using namespace std;
int main() {
    vector<tuple<string, string, double>> data = {{"A", "bean", 3.5}, {"B", "pea", 1.25}, {"A", "pea", 2}, {"C", "kale", 8.75}};
    map<string, vector<string>> crops;
    map<string, double> kilos;
    set<string> all;
    for (const auto& [bed, crop, k] : data) {
        crops[bed].push_back(crop);
        kilos[bed] += k;
        all.insert(crop);
    }
    for (const auto& [bed, list] : crops) {
        cout << bed << ":";
        for (const string& c : list) cout << " " << c;
        cout << " " << kilos[bed] << "\n";
    }
    for (const auto& c : all) cout << c << " ";
    cout << all.size() << " " << all.count("pea") << (all.find("oak") == all.end()) << endl;
    set<int> numbers{5, 1, 5, 3};
    numbers.erase(1);
    cout << *numbers.begin() << " " << numbers.size() << endl;
}
