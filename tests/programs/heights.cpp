#include <iostream>
#include <vector>
#include <string>
#include "scrivlet.hpp"
using namespace std;

int largest(const vector<int> &heights) {
    int best = heights[0];
    for (int height : heights) {
        if (height > best) best = height;
    }
    return best;
}

double average(const vector<int> &heights) {
    int total = 0;
    for (int i = 0; i < heights.size(); i++) {
        total += heights[i];
    }
    return (double) total / heights.size();
}

int main() {
    vector<int> heights = {12, 7, 30, 1};
    heights.push_back(18);
    cout << "largest: " << largest(heights) << endl;
    cout << average(heights) << endl;
    sort(heights.begin(), heights.end());
    for (int height : heights) {
        cout << height << " ";
    }
    cout << endl;
    int a = 7;
    int b = 2;
    cout << a / b << " " << a % b << " " << a / 2.0 << endl;
    string word = "gate";
    word += "s";
    cout << word.substr(1, 2) << word.length() << endl;
    int count = 3;
    while (count > 0) {
        cout << count << "\n";
        count--;
    }
}
