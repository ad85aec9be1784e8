#include <iostream>
#include <vector>
#include <algorithm>
using namespace std;

int main() {
    vector<int> heights = {30, 12, 45, 12};
    heights.insert(heights.begin(), 7);
    heights.insert(heights.begin() + 2, 99);
    heights.erase(heights.begin() + 1);
    for (int h : heights) cout << h << " ";
    cout << endl;
    sort(heights.begin(), heights.end());
    cout << heights.front() << " " << heights.back() << " " << count(heights.begin(), heights.end(), 12) << endl;
    reverse(heights.begin(), heights.end());
    cout << heights[0] << " " << *max_element(heights.begin(), heights.end()) << " " << *min_element(heights.begin(), heights.end()) << endl;
    if (find(heights.begin(), heights.end(), 45) != heights.end()) cout << "45 is there" << endl;
    sort(heights.begin(), heights.end(), greater<int>());
    while (!heights.empty()) {
        cout << heights.back() << ",";
        heights.pop_back();
    }
    cout << endl;
    vector<string> names{"moss", "fern", "ivy"};
    sort(names.begin(), names.end(), [](const string& a, const string& b) { return a.size() < b.size(); });
    for (const auto& name : names) cout << name << " ";
    cout << names.size() << endl;
    vector<double> zeros(3);
    vector<bool> open(2, true);
    zeros[1] = 2.5;
    cout << zeros[0] << zeros[1] << open[1] << (names == names) << endl;
}
