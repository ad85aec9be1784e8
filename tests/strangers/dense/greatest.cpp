#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
using namespace std;
struct Bed { string plant; int size; };
int main() {
    vector<string> names = {"bean", "pea", "kale", "roses"};
    auto longest = *max_element(names.begin(), names.end(), [](const string& a, const string& b) { return a.size() < b.size(); });
    cout << longest << endl;
    auto it = max_element(names.begin(), names.end(), [](const string& a, const string& b) { return a.size() < b.size(); });
    cout << *it << " at " << it - names.begin() << endl;
    vector<Bed> beds = {{"pea", 3}, {"rose", 9}, {"fern", 2}};
    auto big = max_element(beds.begin(), beds.end(), [](const Bed& a, const Bed& b) { return a.size < b.size; });
    cout << big->plant << endl;
    const Bed& small = *min_element(beds.begin(), beds.end(), [](const Bed& a, const Bed& b) { return a.size < b.size; });
    cout << small.plant << endl;
}
