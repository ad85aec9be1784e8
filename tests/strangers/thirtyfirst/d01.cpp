#include <iostream>
using namespace std;

int main()
{
    int n, m;
    cout << "Enter rows and columns: ";
    cin >> n >> m;
    int a[10][10], b[10][10], sum[10][10], t[10][10];
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < m; ++j)
        {
            cout << "a[" << i << "][" << j << "] = ";
            cin >> a[i][j];
        }
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < m; ++j)
            b[i][j] = i * m + j;
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < m; ++j)
            sum[i][j] = a[i][j] + b[i][j];
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < m; ++j)
            t[j][i] = a[i][j];
    cout << endl << "Sum of two matrix is: " << endl;
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < m; ++j)
        {
            cout << sum[i][j] << "  ";
            if (j == m - 1)
                cout << endl;
        }
    cout << "Transpose:\n";
    for (int i = 0; i < m; ++i, cout << '\n')
        for (int j = 0; j < n; ++j)
            cout << t[i][j] << '\t';
    int largest = a[0][0], row = 0, col = 0;
    for (int i = 0; i < n; i++)
        for (int j = 0; j < m; j++)
            if (a[i][j] > largest)
                largest = a[i][j], row = i, col = j;
    cout << "Largest " << largest << " at (" << row << "," << col << ")" << endl;
    return 0;
}
