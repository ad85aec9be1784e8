#include <iostream>
#include <vector>
#include <algorithm>
using namespace std;
void bubble(vector<int>& a) { int n = a.size(); for (int i = 0; i < n - 1; i++) for (int j = 0; j < n - i - 1; j++) if (a[j] > a[j + 1]) swap(a[j], a[j + 1]); }
int binarySearch(const vector<int>& a, int x) { int lo = 0, hi = a.size() - 1; while (lo <= hi) { int mid = lo + (hi - lo) / 2; if (a[mid] == x) return mid; if (a[mid] < x) lo = mid + 1; else hi = mid - 1; } return -1; }
void quick(int a[], int lo, int hi) { if (lo >= hi) return; int p = a[hi], i = lo - 1; for (int j = lo; j < hi; j++) if (a[j] < p) { i++; swap(a[i], a[j]); } swap(a[i + 1], a[hi]); quick(a, lo, i); quick(a, i + 2, hi); }
int main() {
    vector<int> v = {5, 2, 9, 1, 5, 6};
    bubble(v); for (int x : v) cout << x << " "; cout << endl;
    cout << binarySearch(v, 9) << " " << binarySearch(v, 4) << endl;
    int arr[] = {4, 1, 3}; int n = sizeof(arr) / sizeof(arr[0]); quick(arr, 0, n - 1); for (int i = 0; i < n; i++) cout << arr[i]; cout << endl;
    v.insert(v.begin() + 1, 42); v.erase(v.begin()); v.pop_back(); cout << v.size() << v.front() << v.back() << v[1] << endl;
    sort(v.rbegin(), v.rend()); for (size_t i = 0; i < v.size(); i++) cout << v[i] << (i + 1 < v.size() ? "," : "\n");
    reverse(v.begin(), v.end()); cout << *min_element(v.begin(), v.end()) << count(v.begin(), v.end(), 5) << endl;
    vector<vector<int>> m(2, vector<int>(3)); m[1][2] = 7; for (auto& r : m) { for (auto x : r) cout << x; cout << "|"; } cout << m.size() << m[0].size() << endl;
}
