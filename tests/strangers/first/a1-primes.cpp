#include <iostream>
#include <vector>
using namespace std;
int main(){
  const int n=50;
  vector<bool> s(n+1,true);
  s[0]=s[1]=false;
  for(int i=2;i*i<=n;++i)if(s[i])for(int j=i*i;j<=n;j+=i)s[j]=false;
  for(int i=0;i<=n;++i)if(s[i])cout<<i<<' ';
  cout<<'\n';
  int f[12]={1,1};
  for(int i=2;i<12;i++)f[i]=f[i-1]+f[i-2];
  for(int x:f)cout<<x<<",";
  cout<<endl;
}
