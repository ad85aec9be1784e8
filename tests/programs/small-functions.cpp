#include <iostream>
#include <vector>
#include <algorithm>
using namespace std;

int main() {
    auto twice = [](int n) { return n * 2; };
    auto between = [](int n, int low, int high) { return n >= low && n <= high; };
    int offset = 10;
    auto shifted = [&](int n) { return n + offset; };
    offset = 100;
    cout << twice(4) << " " << between(3, 1, 5) << " " << shifted(1) << endl;
    vector<int> beds = {4, 1, 3};
    sort(beds.begin(), beds.end(), [](int a, int b) { return a > b; });
    for (int bed : beds) cout << twice(bed) << " ";
    cout << endl;
}
