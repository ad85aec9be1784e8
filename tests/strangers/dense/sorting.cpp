#include <iostream>
#include <vector>
#include <algorithm>
#include <string>
#include <map>
using namespace std;
int partition(vector<int>& a, int lo, int hi) {
    int pivot = a[hi], i = lo - 1;
    for (int j = lo; j < hi; j++)
        if (a[j] < pivot) swap(a[++i], a[j]);
    swap(a[i + 1], a[hi]);
    return i + 1;
}
void quick(vector<int>& a, int lo, int hi) {
    if (lo >= hi) return;
    int p = partition(a, lo, hi);
    quick(a, lo, p - 1);
    quick(a, p + 1, hi);
}
void merge(int a[], int l, int m, int r) {
    int n1 = m - l + 1, n2 = r - m;
    int L[50], R[50];
    for (int i = 0; i < n1; i++) L[i] = a[l + i];
    for (int j = 0; j < n2; j++) R[j] = a[m + 1 + j];
    int i = 0, j = 0, k = l;
    while (i < n1 && j < n2) a[k++] = L[i] <= R[j] ? L[i++] : R[j++];
    while (i < n1) a[k++] = L[i++];
    while (j < n2) a[k++] = R[j++];
}
void sortm(int a[], int l, int r) { if (l < r) { int m = l + (r - l) / 2; sortm(a, l, m); sortm(a, m + 1, r); merge(a, l, m, r); } }
int bsearch_(const vector<int>& a, int x) {
    int lo = 0, hi = a.size() - 1;
    while (lo <= hi) { int mid = (lo + hi) / 2; if (a[mid] == x) return mid; else if (a[mid] < x) lo = mid + 1; else hi = mid - 1; }
    return -1;
}
int main() {
    vector<int> v = {9, 4, 7, 1, 8, 2};
    quick(v, 0, v.size() - 1);
    for (int x : v) cout << x << ' '; cout << endl;
    int b[] = {5, 1, 4, 2, 3};
    int n = sizeof(b) / sizeof(b[0]);
    sortm(b, 0, n - 1);
    for (int i = 0; i < n; i++) cout << b[i] << (i == n - 1 ? '\n' : ',');
    cout << bsearch_(v, 7) << bsearch_(v, 5) << endl;
    vector<pair<string, int>> sc = {{"Fay", 3}, {"Ivy", 9}, {"Moss", 3}};
    sort(sc.begin(), sc.end(), [](const pair<string,int>& x, const pair<string,int>& y) { return x.second > y.second || (x.second == y.second && x.first < y.first); });
    for (auto& p : sc) cout << p.first << ":" << p.second << " "; cout << endl;
    map<char, int> freq; for (char c : string("mississippi")) freq[c]++;
    for (auto kv : freq) cout << kv.first << kv.second; cout << endl;
    vector<vector<int>> tri(5); for (int i = 0; i < 5; i++) { tri[i].resize(i + 1, 1); for (int j = 1; j < i; j++) tri[i][j] = tri[i-1][j-1] + tri[i-1][j]; }
    for (auto& r : tri) { for (auto x : r) cout << x << " "; cout << "\n"; }
    vector<int> w(v.begin() + 1, v.begin() + 4); w.insert(w.end(), 100); reverse(w.begin(), w.end());
    for (size_t i = 0; i < w.size(); i++) cout << w.at(i) << " "; cout << w.front() << w.back() << endl;
    cout << *max_element(v.begin(), v.end()) << *min_element(b, b + n) << count(v.begin(), v.end(), 4) << endl;
    sort(b, b + n, greater<int>()); cout << b[0] << endl;
    string s = "hello"; sort(s.begin(), s.end()); cout << s << endl;
}
