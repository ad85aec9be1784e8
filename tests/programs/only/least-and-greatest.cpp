#include <algorithm>
#include <iostream>
#include <iterator>
#include <vector>
using namespace std;
int main() {
    vector<int> beds = {4, 1, 9, 1, 9, 3};
    auto [lo, hi] = minmax_element(beds.begin(), beds.end());
    cout << *lo << *hi << " " << lo - beds.begin() << hi - beds.begin() << endl;
    vector<int> odd;
    copy_if(beds.begin(), beds.end(), back_inserter(odd), [](int n) { return n % 2 != 0; });
    for (int n : odd) cout << n << ",";
    cout << odd.size() << endl;
    *hi = 2;
    cout << beds[4] << *max_element(beds.begin(), beds.end()) << endl;
}
